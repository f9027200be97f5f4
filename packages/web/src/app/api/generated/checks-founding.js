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
var foundFirm = validate65;
var formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/, func2 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u"), pattern68 = new RegExp("^[A-Z]{2}$", "u"), pattern69 = new RegExp("^[A-Z]{3}$", "u");
function validate65(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate65.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.id === void 0 && (missing0 = "id") || data.name === void 0 && (missing0 = "name") || data.country === void 0 && (missing0 = "country") || data.currency === void 0 && (missing0 = "currency") || data.zone === void 0 && (missing0 = "zone") || data.weekStart === void 0 && (missing0 = "weekStart") || data.taxed === void 0 && (missing0 = "taxed"))
        return validate65.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "id" || key0 === "name" || key0 === "country" || key0 === "currency" || key0 === "zone" || key0 === "weekStart" || key0 === "taxed")) {
            return validate65.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.id !== void 0) {
            let data0 = data.id, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats4.test(data0))
                  return validate65.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
              } else
                return validate65.errors = [{ instancePath: instancePath + "/id", schemaPath: "#/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0) {
            if (data.name !== void 0) {
              let data1 = data.name, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 100)
                    return validate65.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/maxLength", keyword: "maxLength", params: { limit: 100 }, message: "must NOT have more than 100 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate65.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate65.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate65.errors = [{ instancePath: instancePath + "/name", schemaPath: "#/properties/name/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
            if (valid0) {
              if (data.country !== void 0) {
                let data2 = data.country, _errs6 = errors;
                if (errors === _errs6)
                  if (typeof data2 == "string") {
                    if (!pattern68.test(data2))
                      return validate65.errors = [{ instancePath: instancePath + "/country", schemaPath: "#/properties/country/pattern", keyword: "pattern", params: { pattern: "^[A-Z]{2}$" }, message: 'must match pattern "^[A-Z]{2}$"' }], !1;
                  } else
                    return validate65.errors = [{ instancePath: instancePath + "/country", schemaPath: "#/properties/country/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                var valid0 = _errs6 === errors;
              } else
                var valid0 = !0;
              if (valid0) {
                if (data.currency !== void 0) {
                  let data3 = data.currency, _errs8 = errors;
                  if (errors === _errs8)
                    if (typeof data3 == "string") {
                      if (!pattern69.test(data3))
                        return validate65.errors = [{ instancePath: instancePath + "/currency", schemaPath: "#/properties/currency/pattern", keyword: "pattern", params: { pattern: "^[A-Z]{3}$" }, message: 'must match pattern "^[A-Z]{3}$"' }], !1;
                    } else
                      return validate65.errors = [{ instancePath: instancePath + "/currency", schemaPath: "#/properties/currency/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                  var valid0 = _errs8 === errors;
                } else
                  var valid0 = !0;
                if (valid0) {
                  if (data.zone !== void 0) {
                    let data4 = data.zone, _errs10 = errors;
                    if (errors === _errs10)
                      if (typeof data4 == "string") {
                        if (func2(data4) > 60)
                          return validate65.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/maxLength", keyword: "maxLength", params: { limit: 60 }, message: "must NOT have more than 60 characters" }], !1;
                        if (func2(data4) < 1)
                          return validate65.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                      } else
                        return validate65.errors = [{ instancePath: instancePath + "/zone", schemaPath: "#/properties/zone/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                    var valid0 = _errs10 === errors;
                  } else
                    var valid0 = !0;
                  if (valid0) {
                    if (data.weekStart !== void 0) {
                      let data5 = data.weekStart, _errs12 = errors;
                      if (!(typeof data5 == "number" && !(data5 % 1) && !isNaN(data5) && isFinite(data5)))
                        return validate65.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                      if (errors === _errs12 && typeof data5 == "number" && isFinite(data5)) {
                        if (data5 > 7 || isNaN(data5))
                          return validate65.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/maximum", keyword: "maximum", params: { comparison: "<=", limit: 7 }, message: "must be <= 7" }], !1;
                        if (data5 < 1 || isNaN(data5))
                          return validate65.errors = [{ instancePath: instancePath + "/weekStart", schemaPath: "#/properties/weekStart/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                      }
                      var valid0 = _errs12 === errors;
                    } else
                      var valid0 = !0;
                    if (valid0)
                      if (data.taxed !== void 0) {
                        let _errs14 = errors;
                        if (typeof data.taxed != "boolean")
                          return validate65.errors = [{ instancePath: instancePath + "/taxed", schemaPath: "#/properties/taxed/type", keyword: "type", params: { type: "boolean" }, message: "must be boolean" }], !1;
                        var valid0 = _errs14 === errors;
                      } else
                        var valid0 = !0;
                  }
                }
              }
            }
          }
        }
      }
    } else
      return validate65.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate65.errors = vErrors, errors === 0;
}
validate65.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  foundFirm
};
