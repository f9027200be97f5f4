var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var moveTask = validate80;
var formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/, func2 = require_ucs2length().default;
function validate80(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate80.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.projectId === void 0 && (missing0 = "projectId") || data.parentId === void 0 && (missing0 = "parentId") || data.beforeId === void 0 && (missing0 = "beforeId") || data.seen === void 0 && (missing0 = "seen"))
        return validate80.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "projectId" || key0 === "parentId" || key0 === "beforeId" || key0 === "seen")) {
            return validate80.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.projectId !== void 0) {
            let data0 = data.projectId, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate80.errors = [{ instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate80.errors = [{ instancePath: instancePath + "/projectId", schemaPath: "#/properties/projectId/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.parentId !== void 0) {
              let data1 = data.parentId, _errs4 = errors, _errs5 = errors, valid1 = !1, _errs6 = errors;
              if (errors === _errs6 && errors === _errs6)
                if (typeof data1 == "string") {
                  if (!formats4.test(data1)) {
                    let err0 = { instancePath: instancePath + "/parentId", schemaPath: "#/properties/parentId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                    vErrors === null ? vErrors = [err0] : vErrors.push(err0), errors++;
                  }
                } else {
                  let err1 = { instancePath: instancePath + "/parentId", schemaPath: "#/properties/parentId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                  vErrors === null ? vErrors = [err1] : vErrors.push(err1), errors++;
                }
              var _valid0 = _errs6 === errors;
              valid1 = valid1 || _valid0;
              let _errs8 = errors;
              if (data1 !== null) {
                let err2 = { instancePath: instancePath + "/parentId", schemaPath: "#/properties/parentId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                vErrors === null ? vErrors = [err2] : vErrors.push(err2), errors++;
              }
              var _valid0 = _errs8 === errors;
              if (valid1 = valid1 || _valid0, valid1)
                errors = _errs5, vErrors !== null && (_errs5 ? vErrors.length = _errs5 : vErrors = null);
              else {
                let err3 = { instancePath: instancePath + "/parentId", schemaPath: "#/properties/parentId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                return vErrors === null ? vErrors = [err3] : vErrors.push(err3), errors++, validate80.errors = vErrors, !1;
              }
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.beforeId !== void 0) {
                let data2 = data.beforeId, _errs10 = errors, _errs11 = errors, valid2 = !1, _errs12 = errors;
                if (errors === _errs12 && errors === _errs12)
                  if (typeof data2 == "string") {
                    if (!formats4.test(data2)) {
                      let err4 = { instancePath: instancePath + "/beforeId", schemaPath: "#/properties/beforeId/anyOf/0/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' };
                      vErrors === null ? vErrors = [err4] : vErrors.push(err4), errors++;
                    }
                  } else {
                    let err5 = { instancePath: instancePath + "/beforeId", schemaPath: "#/properties/beforeId/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                    vErrors === null ? vErrors = [err5] : vErrors.push(err5), errors++;
                  }
                var _valid1 = _errs12 === errors;
                valid2 = valid2 || _valid1;
                let _errs14 = errors;
                if (data2 !== null) {
                  let err6 = { instancePath: instancePath + "/beforeId", schemaPath: "#/properties/beforeId/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                  vErrors === null ? vErrors = [err6] : vErrors.push(err6), errors++;
                }
                var _valid1 = _errs14 === errors;
                if (valid2 = valid2 || _valid1, valid2)
                  errors = _errs11, vErrors !== null && (_errs11 ? vErrors.length = _errs11 : vErrors = null);
                else {
                  let err7 = { instancePath: instancePath + "/beforeId", schemaPath: "#/properties/beforeId/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                  return vErrors === null ? vErrors = [err7] : vErrors.push(err7), errors++, validate80.errors = vErrors, !1;
                }
                var valid0 = _errs10 === errors;
              } else
                var valid0 = !0;
              if (valid0)
                if (data.seen !== void 0) {
                  let data3 = data.seen, _errs16 = errors, _errs17 = errors, valid3 = !1, _errs18 = errors;
                  if (errors === _errs18)
                    if (typeof data3 == "string") {
                      if (func2(data3) > 100) {
                        let err8 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf/0/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" };
                        vErrors === null ? vErrors = [err8] : vErrors.push(err8), errors++;
                      }
                    } else {
                      let err9 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf/0/type", keyword: "type", params: { type: "string" }, message: "must be string" };
                      vErrors === null ? vErrors = [err9] : vErrors.push(err9), errors++;
                    }
                  var _valid2 = _errs18 === errors;
                  valid3 = valid3 || _valid2;
                  let _errs20 = errors;
                  if (data3 !== null) {
                    let err10 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf/1/type", keyword: "type", params: { type: "null" }, message: "must be null" };
                    vErrors === null ? vErrors = [err10] : vErrors.push(err10), errors++;
                  }
                  var _valid2 = _errs20 === errors;
                  if (valid3 = valid3 || _valid2, valid3)
                    errors = _errs17, vErrors !== null && (_errs17 ? vErrors.length = _errs17 : vErrors = null);
                  else {
                    let err11 = { instancePath: instancePath + "/seen", schemaPath: "#/properties/seen/anyOf", keyword: "anyOf", params: {}, message: "must match a schema in anyOf" };
                    return vErrors === null ? vErrors = [err11] : vErrors.push(err11), errors++, validate80.errors = vErrors, !1;
                  }
                  var valid0 = _errs16 === errors;
                } else
                  var valid0 = !0;
            }
          }
        }
      }
    } else
      return validate80.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate80.errors = vErrors, errors === 0;
}
validate80.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  moveTask
};
